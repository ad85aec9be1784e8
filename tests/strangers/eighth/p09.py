import os

FILE = "seeds.txt"
with open(FILE, "w") as f:
    f.write("pea,12\n")
    f.write("bean,7\n")
    for name, n in [("leek", 30), ("kale", 0)]:
        print(name, n, sep=",", file=f)

with open(FILE, "a") as f:
    f.write("mint,5\n")

total = 0
with open(FILE) as f:
    for number, line in enumerate(f, start=1):
        name, n = line.strip().split(",")
        total += int(n)
        print(f"{number}: {name:6}{n:>4}")
print("total", total)

with open(FILE, "r") as f:
    lines = f.readlines()
print(len(lines), repr(lines[0]))
f = open(FILE)
text = f.read()
f.close()
print(text.count("\n"), text.split("\n")[-2])
try:
    open("nowhere.txt")
except FileNotFoundError:
    print("no such file")
os.remove(FILE)
