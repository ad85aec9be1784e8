import re
from collections import Counter, defaultdict
s="the bee and the bug and the big bean by the bed"
w=s.split();c=Counter(w)
print(c.most_common(2),len(c),c["fly"])
d=defaultdict(list)
for x in w:d[x[0]].append(x)
print({k:sorted(set(v))for k,v in sorted(d.items())})
print(" ".join(x[::-1].title() for x in w[:4]))
print(re.findall(r"b\w+",s),re.sub(r"\bthe\b","a",s,count=2))
a,*b,e=map(len,w);print(a,b,e)
f=lambda n:n if n<2 else f(n-1)+f(n-2)
print([f(i)for i in range(12)])
print(max(w,key=lambda t:(len(t),t)),min(w,key=len))
print(all(len(x)>1 for x in w),any(x=="bed"for x in w))
p=[n for n in range(2,40)if all(n%k for k in range(2,int(n**.5)+1))]
print(p,sum(p)/len(p))
print(f"{sum(p):>8}|{len(p):<5}|{3.14159:^10.2f}|{255:#x}|{12345678:,}")
x=y=0
for m in"NNESWWN":
 x+=(m=="E")-(m=="W");y+=(m=="N")-(m=="S")
print((x,y),abs(x)+abs(y))
print([*zip("abc",range(3))],dict(zip("abc",[1,2,3])))
print("".join(chr((ord(q)-97+3)%26+97)if q.isalpha()else q for q in s))
print(divmod(47,6),-7//2,-7%3,2**-1,7/2,round(2.5),round(3.5))
