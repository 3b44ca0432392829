#!/usr/bin/env node
// Runs the command line straight from its TypeScript source.
import { register } from 'tsx/esm/api';

register();
await import('./cli.ts');
