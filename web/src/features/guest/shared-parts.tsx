'use client';
import type { ReactNode } from 'react';
import { contract } from '@/contract/client';
import { useAct } from '@/ui/act';
import { ActForm } from '@/ui/act-form';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { CheckBox } from '@/ui/check-box';
import { Choice } from '@/ui/choice';
import { Disclosure } from '@/ui/disclosure';
import { TextField } from '@/ui/field';
import { GuestFrame } from '@/ui/guest-frame';

/** What sitting down and the seat both draw with. */
const parts = [contract, call, useAct, ActForm, Button, CheckBox, Choice, Disclosure, TextField, GuestFrame];
/**
 * Around a guest's pages. It draws nothing: because these parts are its own, the bundler gives them to a phone once, and not again in the files of each page and of
 * each part of a page that comes later.
 */
export const SharedParts = ({ children }: { children: ReactNode }) => (parts.length > 0 ? children : null);
