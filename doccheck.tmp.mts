import ts from 'typescript';
import { globSync } from 'node:fs';
import { readFileSync } from 'node:fs';
import { execSync } from 'node:child_process';
const files = execSync("find packages apps/web/src -name '*.ts' -o -name '*.tsx' | grep -v node_modules | grep -v test | grep -v '/\\.'").toString().trim().split('\n');
let n=0, miss=0;
const UNIT=/second|pixel|degree|percent|from 0|from 1|0 to 1|ms\b|\bµs|micro|milli|bytes|letters|lines|how many|how often|index|number of|times|share|steps|rows|count|code point|hertz|decibel|%|between|\bpx\b|units?|fps|frames|how (?:wide|high|large|long|far|much)|ratio|places?|-1|sign|hash|order|turn|part/i;
for (const f of files) {
  const src = ts.createSourceFile(f, readFileSync(f,'utf8'), ts.ScriptTarget.Latest, true);
  const visit = (node: ts.Node) => {
    let name: string|undefined, fn: ts.SignatureDeclaration|undefined, host: ts.Node = node;
    if (ts.isFunctionDeclaration(node) && node.modifiers?.some(m=>m.kind===ts.SyntaxKind.ExportKeyword)) { name=node.name?.text; fn=node; }
    if (ts.isVariableStatement(node) && node.modifiers?.some(m=>m.kind===ts.SyntaxKind.ExportKeyword)) for (const d of node.declarationList.declarations) if (d.initializer && ts.isArrowFunction(d.initializer)) { name=(d.name as ts.Identifier).text; fn=d.initializer; }
    if (fn && name) {
      const isNum=(t?: ts.TypeNode)=> t!==undefined && /\bnumber\b/.test(t.getText()) ;
      if (fn.parameters.some(p=>isNum(p.type)) || isNum(fn.type)) {
        n++;
        const docs = ts.getJSDocCommentsAndTags(host).map(d=>d.getText()).join(' ');
        const doc = docs;
        if (!UNIT.test(doc)) { miss++; console.log(`${f.replace('packages/','')}:${src.getLineAndCharacterOfPosition(node.getStart()).line+1} ${name}(${fn.parameters.map(p=>p.getText().replace(/\s+/g,' ').slice(0,60)).join(', ')}): ${fn.type?.getText()?.slice(0,60)}\n      ${doc.replace(/\s+/g,' ').slice(0,200)}`); }
      }
    }
    ts.forEachChild(node, visit);
  };
  visit(src);
}
console.log(n, miss);
