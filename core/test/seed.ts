import fc from 'fast-check';

// The same properties on the same cases every time, so that a check says something about the
// change and nothing about luck. FUZZ=1 draws new cases: do so after any change to the planner.
if (process.env.FUZZ === undefined) fc.configureGlobal({ seed: 20261128 });
