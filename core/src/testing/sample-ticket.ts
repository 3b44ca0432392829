import { noMeasures, type Ticket } from '../shop/ticket.ts';

/** A ticket with nothing on it yet, for tests to build on. */
export const sampleTicket = (change: Partial<Ticket> = {}): Ticket => ({
  id: '00000000-0000-4000-8000-000000000001',
  number: 3,
  title: 'Sample',
  client: { id: '00000000-0000-4000-8000-000000000002', name: 'Nobody', kind: 'adult' },
  dueOn: '2026-12-24',
  unit: 'in',
  remarks: '',
  styleId: 'fitted-dress',
  measures: noMeasures,
  choices: {},
  rules: {},
  figures: {},
  signedOff: {},
  cloths: [],
  lays: {},
  chalked: {},
  marksInAll: 0,
  cut: [],
  version: 1,
  tableVersion: 0,
  stops: 0,
  frozen: null,
  history: { place: 0, undo: null, redo: null },
  ...change,
});
