# Seed packet stock-taking
# author: a terse one
stock={}
while True:
    line=input("item,qty (blank to stop): ")
    if line.strip()=="":break
    try:
        name,qty=line.split(",")
        qty=int(qty)
    except ValueError as err:
        print("bad line:",line,"-",err);continue
    stock[name.strip().lower()]=stock.get(name.strip().lower(),0)+qty
print("-"*24)
for k in sorted(stock,key=lambda k:(-stock[k],k)):
    print(f"{k:<12}|{stock[k]:>6}|{'*'*min(stock[k],10)}")
print("-"*24)
total=sum(stock.values())
print(f"total {total:,} items in {len(stock)} kinds, mean {total/len(stock) if stock else 0:.2f}")
low=[k for k,v in stock.items() if v<5]
print("low:",", ".join(low) or "none")
