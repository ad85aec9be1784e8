import re, string, textwrap

letter = '''Dear gardeners of Fernhollow,

the pond is full again (at last!) and the frogs -- all 14 of them -- are back.
Bring boots; bring buckets... bring  a friend? Call 555-0142 or 555-0199.

Yours, the warden'''

words = re.findall(r"[a-z']+", letter.lower())
print(len(words), words[:5])
counts = {}
for w in words:
    counts[w] = counts.get(w, 0) + 1
for w, n in sorted(counts.items(), key=lambda p: (-p[1], p[0]))[:6]:
    print(w.rjust(8), '#' * n)
print(re.findall(r"\d{3}-\d{4}", letter))
print(re.sub(r"\s+", " ", letter)[:60])
table = str.maketrans("", "", string.punctuation)
print(letter.translate(table).split()[:9])
print([p.strip() for p in letter.split("\n\n")][1][:20])
print(letter.count("\n"), letter.index("pond"), letter.rfind("the"), letter.find("zebra"))
vowels = sum(c in "aeiou" for c in letter.lower())
print(f"{vowels} vowels, {vowels / len(letter):.1%}")
print("".join(sorted(set(letter.lower()) - set(string.whitespace + string.punctuation + string.digits))))
acro = "".join(w[0].upper() for w in "for every red nut".split())
print(acro, acro[::-1], acro.swapcase(), acro.center(10, "*"))
caesar = "".join(chr((ord(c) - 97 + 3) % 26 + 97) if c.islower() else c for c in "xyz Abc")
print(caesar)
print("yes" if re.match(r"^[A-Z][a-z]+$", "Warden") else "no", bool(re.search("frog", letter)))
longest = max(words, key=len)
print(longest, [w for w in words if len(w) == len(longest)])
print(textwrap.fill("the pond is full again and the frogs are back", 20))
print("a-b_c d".replace("-", " ").replace("_", " ").title().split())
print(letter.partition(",")[0], "|", "k=v=w".rpartition("="), "|", "x".join("abc"))
print("%-8s|%5d|%6.2f|%x" % ("bed", 42, 3.14159, 255))
