import fc from 'fast-check';

/** A submission is judged by the same random cases each time; at a desk, every run tries others. */
if (process.env.CI) fc.configureGlobal({ ...fc.readConfigureGlobal(), seed: 20261123 });
