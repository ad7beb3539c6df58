/** A promise of the plan that does not hold. */
export interface AuditFinding {
  readonly rule:
    | 'missing'
    | 'length'
    | 'gap'
    | 'serving'
    | 'fresh'
    | 'past'
    | 'hours'
    | 'hands'
    | 'heat'
    | 'room'
    | 'tending'
    | 'give'
    | 'ledger'
    | 'soak'
    | 'unsaid';
  readonly steps: readonly string[];
  readonly text: string;
}
