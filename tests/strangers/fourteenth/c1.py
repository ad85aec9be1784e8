import math
marks = []
total = 0
i = 0
while i < 5:
    marks.append(i*i+1)
    total = total+marks[i]
    i = i+1
average = total/len(marks)
print("Total:",total,"average:",average)
best = marks[0]
for j in range(1,len(marks)):
    if marks[j]>best:
        best = marks[j]
        k = j
print("Best",best,"at",k,"j",j)
n = 17
for d in range(2,n):
    if n%d==0:
        print("no")
        break
else:
    print("prime",d)
s = "Fernhollow"
rev = ""
for ch in s:
    rev = ch+rev
print(rev,ch)
count = {}
for ch in s.lower():
    if ch in count: count[ch] += 1
    else: count[ch] = 1
for key in sorted(count): 
    if count[key]>1: print(key,count[key],end=" ")
print()
table = []
for r in range(3):
    row = []
    for c in range(4):
        row.append(r*4+c)
    table.append(row)
for row in table:
    for value in row: print("%3d" % value,end="")
    print(" =",sum(row))
print(r,c)
def swap(a,b):
    return b,a
x,y = 3,4
x,y = swap(x,y)
print(x,y)
grid = [[0]*3]*2
grid[0][0] = 1
print(grid)
print(7//2,-7//2,7%3,-7%3,2**-1,2**10,7/2,round(2.5),round(3.5),round(2.675,2),int(-3.7),abs(-4))
print(math.sqrt(16),math.pi,math.floor(-2.5),math.ceil(2.1),10/5,1e16,1/3,0.1+0.2,1e-5)
print("a"*3,"ab"<"b",not True,True+1,3==3.0,"3"==3,None,[],(),{})
print("%s is %d years and %.2f" % ("Kai",12,3.14159),"{:>5}|{:<5}|{:^5}".format("a","b","c"),f"{7:03d} {3.14159:.1f} {1000000:,} {'x':>4}")
lst = [3,1,2]
lst2 = lst
lst2.sort()
print(lst,lst is lst2,lst==[1,2,3],sorted([3,1,2],reverse=True),lst[-1],lst[::-1],lst[1:])
del lst[0]
print(lst,lst2,len("abc"),max(3,9),min([4,2]),sum([1,2.5]))
t = (1,2,3)
a,*b = t
print(a,b,t+(4,),t*2,2 in t,t.index(2))
while True:
    i -= 1
    if i%2: continue
    if i<2: break
    print(i)
def fact(n):
    if n==0: return 1
    return n*fact(n-1)
print(fact(20),fact(25))
print([q*q for q in range(6) if q%2],{q:q*q for q in range(3)},"".join(["a","b"]),"a,b".split(","),"x".join("abc"))
num = 12345
r = 0
while num>0:
    r = r*10+num%10
    num //= 10
print(r)
print(ord("a"),chr(98),"abc".upper(),"Hello"[1:3],"hello".find("l"),"hello".count("l"),"hello".replace("l","L"),"  x ".strip()+"|")
print(type(3),type("a"),type([]),isinstance(3,int),bool([]),bool("0"),int("12"),float("1.5"),str(1.0),list("ab"))
