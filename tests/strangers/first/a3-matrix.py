m=[[1,2,3],[4,5,6],[7,8,10]]
t=[list(r) for r in zip(*m)]
print(t)
print(sum(m[i][i] for i in range(3)))
def mul(a,b): return [[sum(x*y for x,y in zip(r,c)) for c in zip(*b)] for r in a]
for r in mul(m,t): print(' '.join(f'{v:4}' for v in r))
d={(i,j):m[i][j] for i in range(3) for j in range(3) if i!=j}
print(max(d,key=d.get),d[max(d,key=d.get)])
