'use client';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { Cell, Column, Row, Table, TableBody, TableHeader, type SortDescriptor } from 'react-aria-components/Table';
import styled from 'styled-components';

const Scroll = styled.div`
  overflow-x: auto;
  table {
    width: 100%;
    border-collapse: collapse;
    font-size: 0.875rem;
    outline: none;
  }
  th,
  td {
    text-align: right;
    padding: 7px 0 7px 14px;
    border-bottom: 1px solid var(--line);
    white-space: nowrap;
    outline: none;
    font-variant-numeric: tabular-nums;
  }
  th:first-child,
  td:first-child {
    text-align: left;
    padding-left: 0;
    white-space: normal;
  }
  th {
    color: var(--soft);
    font-weight: 400;
  }
  th[data-allows-sorting] {
    cursor: pointer;
  }
  th[data-hovered] {
    color: var(--ink);
  }
  th[aria-sort='ascending'],
  th[aria-sort='descending'] {
    color: var(--ink);
    font-weight: 600;
  }
  th svg {
    vertical-align: -2px;
    margin-left: 4px;
  }
  [data-focus-visible] {
    box-shadow: inset 0 0 0 2px var(--madder);
  }
  [data-warn] {
    color: var(--amber);
    font-weight: 650;
  }
`;
export interface TableColumn<T> {
  readonly id: string;
  readonly name: string;
  /** What it is sorted by. */
  readonly by: (row: T) => string | number;
  /** What is shown, where that is not what it is sorted by. */
  readonly shows?: (row: T) => ReactNode;
}
const compare = (a: string | number, b: string | number): number =>
  typeof a === 'number' && typeof b === 'number' ? a - b : String(a).localeCompare(String(b), 'en');

/** A table that is gone through by the arrow keys and sorted by a press on a heading; as it comes until then. */
export function DataTable<T>({
  label,
  columns,
  rows,
  keyOf,
}: {
  label: string;
  columns: readonly TableColumn<T>[];
  rows: readonly T[];
  keyOf: (row: T) => string;
}) {
  const [sort, setSort] = useState<SortDescriptor | undefined>(undefined);
  const column = columns.find((entry) => entry.id === sort?.column);
  const sorted = column === undefined ? rows : [...rows].sort((a, b) => compare(column.by(a), column.by(b)) * (sort?.direction === 'descending' ? -1 : 1));
  return (
    <Scroll>
      <Table aria-label={label} {...(sort === undefined ? {} : { sortDescriptor: sort })} onSortChange={setSort}>
        <TableHeader>
          {columns.map((entry, i) => (
            <Column key={entry.id} id={entry.id} isRowHeader={i === 0} allowsSorting>
              {({ sortDirection }) => (
                <>
                  {entry.name}
                  {sortDirection === 'ascending' && <ArrowUp size={13} aria-hidden />}
                  {sortDirection === 'descending' && <ArrowDown size={13} aria-hidden />}
                </>
              )}
            </Column>
          ))}
        </TableHeader>
        <TableBody>
          {sorted.map((row) => (
            <Row key={keyOf(row)} id={keyOf(row)}>
              {columns.map((entry) => (
                <Cell key={entry.id}>{entry.shows === undefined ? entry.by(row) : entry.shows(row)}</Cell>
              ))}
            </Row>
          ))}
        </TableBody>
      </Table>
    </Scroll>
  );
}
