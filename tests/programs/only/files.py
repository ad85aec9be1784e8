import os

FILE = "scores.txt"

def save(scores, filename=FILE):
    with open(filename, "w", encoding="utf-8") as file:
        for name, score in scores.items():
            file.write(f"{name},{score}\n")

def load(filename=FILE):
    scores = {}
    try:
        with open(filename, "r") as file:
            for line in file:
                line = line.strip()
                if not line:
                    continue
                name, score = line.split(",")
                scores[name] = int(score)
    except FileNotFoundError as error:
        print("No file yet:", error)
    return scores

print(load())
save({"Juniper": 12, "Rowan": 7})
print(load())
with open(FILE, "a") as f:
    n = f.write("Hazel,9\n")
print(n, load())
with open(FILE) as f:
    first = f.readline()
    rest = f.read()
print(repr(first), repr(rest))
with open(FILE) as f:
    lines = f.readlines()
    print(len(lines), [l.rstrip() for l in lines])
with open(FILE) as f:
    for i, line in enumerate(f, start=1):
        print(i, line, end="")
with open(FILE) as f:
    data = [line.strip().split(",") for line in f]
print(data, max(data, key=lambda d: int(d[1])))
f = open(FILE)
print(f.read(), end="")
f.close()
try:
    f.read()
except ValueError as e:
    print("closed:", e)
with open("copy.txt", "w") as out:
    out.writelines(["a\n", "b\n"])
with open("copy.txt") as f:
    for line in f:
        if line == "a\n":
            break
    print("then", f.read())
print(os.path.exists("copy.txt"), os.path.exists("nothing.txt"))
os.remove("copy.txt")
print(os.path.exists("copy.txt"))
def count(name):
    with open(name) as f:
        return sum(1 for _ in f)
print(count(FILE))
with open(FILE) as f:
    words = f.read().split()
print(words)
os.remove(FILE)
try:
    open(FILE)
except OSError as e:
    print(type(e).__name__, e)
with open("kept.txt", "w") as w:
    w.write("one\ntwo\n")
kept = open("kept.txt")
os.remove("./kept.txt")
print(kept.readline(), end="")
print(kept.read(), end="")
kept.close()
with open("again.txt", "w") as w:
    w.write("0123456789\nmore\n")
again = open("again.txt")
print(again.readline(), end="")
open("again.txt", "w").write("x")
print(again.readline(), again.read() == "", open("./again.txt").read())
print(again == kept, again == again, again != 3, again is None)
print(again, str(again) in f"{again}")
