import { judgementCase } from './src/core/practice/judgementCases';
for (let i=0;i<200;i+=10) console.log(JSON.stringify(judgementCase(i).facts));
