import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { openapi } from './openapi';
import { keysOf } from '@rose/core/wine/keys';
import { contracts } from '../contract';
import { rights, roles } from '../contract/roles';
import { permits } from './http';
import { operations } from './registry';
import type { Actor } from './command';
import { ownDatabase } from './testing/venue';

let drop: () => Promise<void>;
beforeAll(async () => void (drop = await ownDatabase()));
afterAll(() => drop());

/** Who may do what, written out whole: o owner, h host, p helper, u anyone signed in, a anyone at all, g a guest. */
const may: Record<string, string> = {
  'account.signUp': 'ohpuag',
  'account.signIn': 'ohpuag',
  'account.askReset': 'ohpuag',
  'account.reset': 'ohpuag',
  'demo.comeIn': 'ohpuag',
  health: 'ohpuag',
  'account.signOut': 'ohpu',
  'account.me': 'ohpu',
  'venue.create': 'ohpu',
  'venue.enter': 'ohpu',
  'member.accept': 'ohpu',
  'venue.save': 'o',
  'member.invite': 'o',
  'member.revokeInvitation': 'o',
  'member.setRole': 'o',
  'member.remove': 'o',
  'mail.list': 'o',
  'token.create': 'ohp',
  'token.revoke': 'ohp',
  'token.list': 'ohp',
  'member.list': 'ohp',
  'wine.save': 'oh',
  'wine.delete': 'oh',
  'wine.restore': 'oh',
  'wine.import': 'oh',
  'wine.list': 'ohp',
  'wine.get': 'ohp',
  'wine.hangsOn': 'ohp',
  'sample.load': 'oh',
  'sample.takeOut': 'oh',
  'sample.hangsOn': 'oh',
  'today.get': 'ohp',
  'today.search': 'ohp',
  'flight.hangsOn': 'ohp',
  'dish.hangsOn': 'ohp',
  'wine.export': 'ohp',
  'wine.countries': 'ohp',
  'wine.orderWine': 'ohp',
  'flight.save': 'oh',
  'flight.delete': 'oh',
  'flight.restore': 'oh',
  'flight.list': 'ohp',
  'flight.get': 'ohp',
  'flight.order': 'ohp',
  'flight.quantities': 'ohp',
  'flight.schools': 'ohp',
  'flight.doubts': 'ohp',
  'flight.propose': 'ohp',
  'flight.timetable': 'ohp',
  'flight.temperature': 'ohp',
  'flight.lists': 'ohp',
  'flight.design': 'ohp',
  'flight.shared': 'ohp',
  'flight.moveView': 'ohp',
  'flight.copy': 'oh',
  'flight.sendCalendar': 'oh',
  'flight.calendarState': 'ohp',
  'flight.makeFeed': 'oh',
  'flight.revokeFeed': 'oh',
  'flight.feed': 'ohpuag',
  'flight.print': 'oh',
  'flight.prints': 'ohp',
  'probe.add': 'oh',
  'probe.remove': 'oh',
  'probe.list': 'ohp',
  'probe.simulate': 'ohp',
  'note.open': 'ohp',
  'note.save': 'ohp',
  'note.delete': 'ohp',
  'note.restore': 'ohp',
  'note.get': 'ohp',
  'note.text': 'ohp',
  'note.scores': 'ohp',
  'note.triage': 'ohp',
  'note.consistency': 'ohp',
  'routine.list': 'ohp',
  'routine.get': 'ohp',
  'routine.save': 'oh',
  'scheme.list': 'ohp',
  'scheme.get': 'ohp',
  'scheme.save': 'oh',
  'scheme.preview': 'oh',
  'note.deduce': 'ohp',
  'note.deck': 'ohp',
  'descriptor.list': 'ohp',
  'note.expectation': 'ohp',
  'note.price': 'ohp',
  'note.deal': 'ohp',
  'note.uncover': 'ohp',
  'note.dealPairs': 'ohp',
  'note.calls': 'ohp',
  'note.planned': 'ohp',
  'note.repeatability': 'ohp',
  'descriptor.learnt': 'ohp',
  'descriptor.learn': 'ohp',
  'note.moment': 'ohp',
  'note.share': 'ohp',
  'note.file': 'ohp',
  'note.import': 'ohp',
  'note.list': 'ohp',
  'note.export': 'ohp',
  'pairing.cheeses': 'ohp',
  'pairing.findings': 'ohp',
  'pairing.styleFood': 'ohp',
  'pairing.read': 'ohp',
  'menu.file': 'ohp',
  'menu.forFlight': 'ohp',
  'dish.recipe': 'ohp',
  'dish.fromRecipe': 'ohp',
  'menu.save': 'oh',
  'menu.delete': 'oh',
  'menu.restore': 'oh',
  'menu.list': 'ohp',
  'menu.get': 'ohp',
  'menu.wines': 'ohp',
  'menu.plan': 'ohp',
  'dish.save': 'oh',
  'dish.delete': 'oh',
  'dish.restore': 'oh',
  'dish.list': 'ohp',
  'dish.get': 'ohp',
  'pairing.food': 'ohp',
  'pairing.wines': 'ohp',
  'pairing.advise': 'ohp',
  'document.changed': 'ohp',
  'tasting.open': 'oh',
  'tasting.ofFlight': 'ohp',
  'tasting.get': 'oh',
  'tasting.wall': 'ohp',
  'tasting.people': 'oh',
  'document.stream': 'ohp',
  'tasting.letGoOn': 'oh',
  'tasting.bottles': 'oh',
  'tasting.recap': 'oh',
  'tasting.room': 'oh',
  'tasting.clue': 'oh',
  'tasting.faultSheet': 'oh',
  'tasting.belongs': 'oh',
  'course.list': 'oh',
  'course.save': 'oh',
  'paper.sheet': 'oh',
  'paper.seat': 'oh',
  'paper.type': 'oh',
  'guest.told': 'g',
  'guest.hint': 'g',
  'guest.bottle': 'g',
  'guest.keep': 'g',
  'guest.takeaway': 'ohpuag',
  'guest.endTakeaway': 'ohpuag',
  'tasting.move': 'oh',
  'tasting.pause': 'oh',
  'tasting.grant': 'oh',
  'tasting.takeWheel': 'oh',
  'tasting.uncover': 'oh',
  'tasting.cover': 'oh',
  'tasting.reject': 'oh',
  'tasting.ask': 'oh',
  'tasting.count': 'oh',
  'tasting.asked': 'oh',
  'tasting.park': 'oh',
  'tasting.remove': 'oh',
  'tasting.rehearse': 'oh',
  'tasting.close': 'oh',
  'tasting.calls': 'oh',
  'tasting.talk': 'oh',
  'tasting.pour': 'ohp',
  'tasting.pourList': 'ohp',
  'guest.find': 'ohpuag',
  'guest.join': 'ohpuag',
  'guest.stream': 'g',
  'guest.begin': 'g',
  'guest.note': 'g',
  'guest.lock': 'g',
  'guest.table': 'g',
  'guest.marks': 'g',
  'guest.arrive': 'g',
  'guest.share': 'g',
  'guest.answer': 'g',
  'guest.doubt': 'g',
  'guest.wait': 'g',
  'guest.leave': 'g',
  'guest.tasting': 'g',
  'guest.saveNote': 'g',
};
const person = { userId: 'u', name: 'n', email: 'e' };
const actors: Record<string, Actor> = {
  o: { kind: 'member', ...person, venueId: 'v', role: 'owner', via: 'session' },
  h: { kind: 'member', ...person, venueId: 'v', role: 'host', via: 'session' },
  p: { kind: 'member', ...person, venueId: 'v', role: 'helper', via: 'session' },
  u: { kind: 'user', ...person },
  a: { kind: 'anyone' },
  g: { kind: 'guest', venueId: 'v', tastingId: 't', participantId: 'p', name: 'n' },
};

describe('the registry', () => {
  it('who may do what is exactly the table', () => {
    const found = Object.fromEntries(
      operations.map((operation) => [
        operation.contract.name,
        Object.keys(actors)
          .filter((key) => permits(operation.contract, actors[key]!))
          .join(''),
      ]),
    );
    expect(found).toEqual(may);
  });
  it('a role that is added may what its row says and nothing else, and one that stands in no row may nothing', () => {
    const stranger = { kind: 'member', ...person, venueId: 'v', role: 'reader', via: 'session' } as unknown as Actor;
    for (const right of keysOf(rights)) {
      const table = { ...roles, reader: { label: 'reader', may: [right] } };
      for (const operation of operations) {
        const open = operation.contract.allow === 'anyone' || operation.contract.allow === 'user';
        expect(permits(operation.contract, stranger, table), `${right}: ${operation.contract.name}`).toBe(open || operation.contract.allow === right);
        expect(permits(operation.contract, stranger), operation.contract.name).toBe(open);
      }
    }
  });
  it('serves each contract once, and nothing that is not said', () => {
    expect(operations.map((operation) => operation.contract.name).sort()).toEqual(contracts.map((said) => said.name).sort());
    expect(new Set(operations.map((operation) => operation.contract)).size).toBe(contracts.length);
  });
  it('the OpenAPI document has every operation a program may call, with its parameters and schemas', () => {
    const document = openapi('http://127.0.0.1') as {
      openapi: string;
      paths: Record<
        string,
        Record<
          string,
          {
            operationId: string;
            parameters: { name: string; in: string }[];
            requestBody?: { content: { 'application/json': { schema: { properties: object } } } };
          }
        >
      >;
    };
    expect(document.openapi).toMatch(/^3\.1/);
    const listed = Object.entries(document.paths).flatMap(([path, methods]) =>
      Object.entries(methods).map(([method, operation]) => `${method.toUpperCase()} ${path} ${operation.operationId}`),
    );
    expect(listed.sort()).toEqual(
      operations
        .filter((operation) => operation.contract.browserOnly !== true)
        .map((operation) => `${operation.contract.method} ${operation.contract.path} ${operation.contract.name}`)
        .sort(),
    );
    for (const methods of Object.values(document.paths))
      for (const [path, operation] of Object.entries(methods)) expect(operation.parameters, path).toBeDefined();
    expect(document.paths['/notes/{id}']!['put']!.requestBody!.content['application/json'].schema.properties).toHaveProperty('document');
    expect(JSON.stringify(document)).toContain('"acidity"');
  });
});
