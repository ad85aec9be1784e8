# matrix + recursion + string formatting, terse style
def mat(r,c,f=lambda i,j:0): return [[f(i,j) for j in range(c)] for i in range(r)]
def mul(a,b): return [[sum(x*y for x,y in zip(row,col)) for col in zip(*b)] for row in a]
def show(m,w=4):
    for row in m: print(''.join(str(v).rjust(w) for v in row))
    print()
A=mat(3,3,lambda i,j:i+j); I=mat(3,3,lambda i,j:int(i==j))
show(A); show(mul(A,I)); show(mul(A,A))
T=list(map(list,zip(*A)))
print(T==A, any(v>3 for r in A for v in r), all(isinstance(v,int) for r in A for v in r))
def det(m):
    if len(m)==1: return m[0][0]
    return sum((-1)**j*m[0][j]*det([r[:j]+r[j+1:] for r in m[1:]]) for j in range(len(m)))
print(det([[2,0,1],[1,3,2],[1,1,1]]), det(A))
def pascal(n):
    row=[1]
    for _ in range(n):
        yield row
        row=[1]+[a+b for a,b in zip(row,row[1:])]+[1]
for r in pascal(6): print(' '.join(map(str,r)).center(24).rstrip())
def perms(s):
    if len(s)<=1: yield s; return
    for i,c in enumerate(s):
        for p in perms(s[:i]+s[i+1:]): yield c+p
print(list(perms('abc')), len(set(perms('aab'))))
spiral=mat(4,4); x=y=0; dx,dy=0,1
for k in range(1,17):
    spiral[x][y]=k
    nx,ny=x+dx,y+dy
    if not(0<=nx<4 and 0<=ny<4) or spiral[nx][ny]: dx,dy=dy,-dx; nx,ny=x+dx,y+dy
    x,y=nx,ny
show(spiral,3)
*most,last=[1,2,3]; print(most,last)
a,(b,c),*d=1,(2,3),4,5; print(a,b,c,d)
print('%5.2f|%-6s|%03d|%x|%e|%%'%(3.14159,'ab',7,255,12345.678))
print('{:,}'.format(1234567), '{:>8.3f}'.format(2/3), '{0}-{1}-{0}'.format('a','b'), '{n:^9}'.format(n='mid'))
print(f"{1234.5:,.2f} {0.256:.1%} {10:b} {255:#x} {'z':*^7} {-5:05d}")
