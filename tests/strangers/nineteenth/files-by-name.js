const { readFileSync, writeFileSync, existsSync } = require('fs');
writeFileSync('a.txt', 'one\ntwo');
if (existsSync('a.txt')) console.log(readFileSync('a.txt', 'utf8').split('\n').length);
