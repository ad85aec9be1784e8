best=(0,0)
for n in range(1,200):
    k,s=n,0
    while k!=1:
        k=k//2 if k%2==0 else 3*k+1
        s+=1
    if s>best[1]: best=n,s
print("%d takes %d steps" % best)
a,b=0,1
while (a:=a+b)<100: a,b=b,a; print(b,end=' ')
print()
