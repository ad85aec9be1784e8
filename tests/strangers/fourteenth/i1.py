# library system
class Book:
    total = 0
    def __init__(self, title, author, copies=1):
        self.title = title
        self.author = author
        self.copies = copies
        self.borrowers = []
        Book.total += copies
    def lend(self, who):
        if self.copies == 0:
            return False
        self.copies -= 1
        self.borrowers.append(who)
        return True
    def give_back(self, who):
        if who in self.borrowers:
            self.borrowers.remove(who)
            self.copies += 1
            return True
        return False
    def __str__(self):
        return self.title + " by " + self.author + " (" + str(self.copies) + ")"
    def __lt__(self, other):
        return self.title < other.title

class Library:
    def __init__(self):
        self.books = {}
        self.log = []
    def add(self, book):
        if book.title in self.books:
            self.books[book.title].copies += book.copies
        else:
            self.books[book.title] = book
    def lend(self, title, who):
        book = self.books.get(title)
        if book is None:
            self.log.append(("missing", title))
            raise KeyError(title)
        ok = book.lend(who)
        self.log.append(("lent" if ok else "none", title, who))
        return ok
    def report(self):
        for i, book in enumerate(sorted(self.books.values()), start=1):
            print(i, book, sep=". ")
            for name in book.borrowers:
                print("   -", name)

lib = Library()
for t, a, *rest in [("Soil", "Moss"), ("Bees", "Hive", 2), ("Soil", "Moss", 3)]:
    lib.add(Book(t, a, *rest))
for title, who in [("Soil", "Kai"), ("Bees", "Mo"), ("Bees", "Kai"), ("Bees", "Lu"), ("Ants", "Mo")]:
    try:
        print(title, who, lib.lend(title, who))
    except KeyError as err:
        print("no such book:", err)
lib.report()
print(Book.total, len(lib.log), lib.log[-1], [e[0] for e in lib.log].count("lent"))
lib.books["Bees"].give_back("Mo")
print(lib.books["Bees"], lib.books["Bees"].give_back("Zed"))
stats = {}
for kind, *_ in lib.log:
    stats.setdefault(kind, []).append(len(_))
print(stats, max(stats, key=lambda k: len(stats[k])))
matrix = [[i * j for j in range(1, 4)] for i in range(1, 4)]
for row in matrix: print("\t".join(f"{v:>2}" for v in row))
print(sum(matrix[i][i] for i in range(3)), [list(c) for c in zip(*matrix)][0], any(v > 8 for r in matrix for v in r))
text = "It was the best of times it was the worst of times"
freq = {}
for w in text.lower().split():
    freq[w] = freq.get(w, 0) + 1
for w, n in sorted(freq.items(), key=lambda p: (-p[1], p[0])):
    if n > 1: print(f"{w:<6}{'*' * n}")
def caesar(s, k):
    out = ""
    for ch in s:
        if ch.isalpha():
            base = ord("a") if ch.islower() else ord("A")
            out += chr((ord(ch) - base + k) % 26 + base)
        else: out += ch
    return out
secret = caesar("Hello, World!", 3)
print(secret, caesar(secret, -3), caesar("xyz", 30))
def primes(n):
    sieve = [True] * (n + 1)
    sieve[0:2] = [False, False]
    for i in range(2, int(n ** 0.5) + 1):
        if sieve[i]:
            for j in range(i * i, n + 1, i): sieve[j] = False
    return [i for i, p in enumerate(sieve) if p]
print(primes(30), len(primes(100)))
def binary_search(a, x, lo=0, hi=None):
    if hi is None: hi = len(a) - 1
    if lo > hi: return -1
    mid = (lo + hi) // 2
    if a[mid] == x: return mid
    return binary_search(a, x, lo, mid - 1) if a[mid] > x else binary_search(a, x, mid + 1, hi)
print(binary_search(primes(30), 13), binary_search(primes(30), 14))
stack, out = [], []
prec = {"+": 1, "-": 1, "*": 2, "/": 2}
for tok in "3 + 4 * ( 2 - 1 )".split():
    if tok.isdigit(): out.append(tok)
    elif tok == "(": stack.append(tok)
    elif tok == ")":
        while stack[-1] != "(": out.append(stack.pop())
        stack.pop()
    else:
        while stack and stack[-1] in prec and prec[stack[-1]] >= prec[tok]: out.append(stack.pop())
        stack.append(tok)
while stack: out.append(stack.pop())
print(" ".join(out))
grid = ["#####", "#S..#", "#.#.#", "#..E#", "#####"]
start = next((r, row.index("S")) for r, row in enumerate(grid) if "S" in row)
queue, seen = [(start, 0)], {start}
for (r, c), d in queue:
    if grid[r][c] == "E":
        print("found in", d)
        break
    for dr, dc in ((0, 1), (1, 0), (0, -1), (-1, 0)):
        p = (r + dr, c + dc)
        if grid[p[0]][p[1]] != "#" and p not in seen:
            seen.add(p)
            queue.append((p, d + 1))
