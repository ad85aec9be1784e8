import sys
name = input("Name? ")
for n, line in enumerate(sys.stdin, 1):
    words = line.split()
    if not words: continue
    print(f"{n}: {name} {len(words)}")
while True:
    try:
        input()
    except EOFError:
        print("end"); break
with open("x.txt", "w") as f: f.write("a\n")
while True:
    line = sys.stdin.readline()
    if not line: break
print(sum(int(x) for line in sys.stdin for x in line.split()))
