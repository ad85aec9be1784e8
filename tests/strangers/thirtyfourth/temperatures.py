temperatures = [12.5, 14, 9.25, -3, 20.75, 18, 0]
days = ['mon','tue','wed','thu','fri','sat','sun']
def to_f(c):
    return c*9/5+32
print('day'.ljust(6),'C'.rjust(8),'F'.rjust(8))
for d,t in zip(days,temperatures):
    print(d.ljust(6),('%.1f'%t).rjust(8),('%.1f'%to_f(t)).rjust(8),'frost' if t<=0 else '')
hottest=temperatures.index(max(temperatures))
print('hottest:',days[hottest].upper(),'with',temperatures[hottest])
mean=sum(temperatures)/len(temperatures)
var=sum((t-mean)**2 for t in temperatures)/(len(temperatures)-1)
print('mean %.3f sd %.3f'%(mean,var**.5))
s=sorted(temperatures)
print('median',s[len(s)//2],'range',s[-1]-s[0])
warm=list(filter(lambda t:t>mean,temperatures))
print(warm,list(map(round,warm)),list(map(int,temperatures)))
bars={d:'#'*int(max(t,0)//2) for d,t in zip(days,temperatures)}
for d in bars:print(d,bars[d])
i=0
while i<len(days):
    if days[i].startswith('s'):
        i+=1
        continue
    if temperatures[i]<0:
        print('first frost on',days[i])
        break
    i+=1
else:
    print('no frost')
print(temperatures[::2],temperatures[-2:],days[1:-1:2])
x=y=3
y+=1
print(x,y,x is y,x==3.0,7//2,-7//2,7%-3,2**-1,1e3,1/3)
print('%5d|%-5d|%05d|%+d|%s|%r'%(42,42,42,42,'a','a'))
print(f'{mean=:.2f} {len(days)=}')
