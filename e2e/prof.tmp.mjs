import { chromium } from '@playwright/test'
import { spawn } from 'node:child_process'
const server = spawn('node',['/work/main/server/dist/main.js'],{env:{...process.env,PORT:'4799',DEMO:'1'},stdio:['ignore','pipe','inherit']})
await new Promise(r=>server.stdout.once('data',r))
const url='http://127.0.0.1:4799'
const browser=await chromium.launch({executablePath:'/usr/bin/chromium',args:['--no-sandbox','--disable-gpu']})
const ctx=await browser.newContext({viewport:{width:1280,height:800}})
const page=await ctx.newPage()
await page.goto(url+'/shop'); await page.waitForSelector('input[type=file]',{state:'attached'})
await page.locator('input[type=file]').setInputFiles('/tmp/big.pepperknot.json')
await page.getByRole('button',{name:'Put the file in its place'}).click({timeout:120000})
await page.getByRole('button',{name:'Import it'}).click()
await page.getByRole('status').filter({hasText:/^File imported$/}).waitFor({timeout:300000})
for (const path of process.argv.slice(2)) {
  const devtools=await ctx.newCDPSession(page)
  for (let k=0;k<2;k++){ await page.goto('about:blank'); await page.goto(url+path); await page.waitForTimeout(3000)}
  await page.goto('about:blank')
  await devtools.send('Profiler.enable'); await devtools.send('Profiler.setSamplingInterval',{interval:500}); await devtools.send('Profiler.start')
  await page.goto(url+path,{waitUntil:'commit'}); await page.waitForTimeout(2500)
  const {profile}=await devtools.send('Profiler.stop')
  const self=new Map(),byId=new Map(profile.nodes.map(n=>[n.id,n])),parent=new Map()
  for(const n of profile.nodes)for(const c of n.children??[])parent.set(c,n.id)
  const total=new Map()
  profile.samples.forEach((id,i)=>{const dt=profile.timeDeltas[i]/1000;const n=byId.get(id);const name=n.callFrame.functionName+' '+n.callFrame.url.split('/').pop()+':'+n.callFrame.lineNumber+':'+n.callFrame.columnNumber
    self.set(name,(self.get(name)??0)+dt)
    const seen=new Set();for(let p=id;p;p=parent.get(p)){const m=byId.get(p);const k=m.callFrame.functionName+' '+m.callFrame.url.split('/').pop()+':'+m.callFrame.lineNumber+':'+m.callFrame.columnNumber;if(!seen.has(k)){seen.add(k);total.set(k,(total.get(k)??0)+dt)}}})
  console.log('==',path); const top=(m,n)=>[...m].sort((a,b)=>b[1]-a[1]).slice(0,n).forEach(([k,v])=>console.log(v.toFixed(0).padStart(6),k))
  console.log('self');top(self,18);console.log('total');top(total,40)
}
await browser.close();server.kill()
