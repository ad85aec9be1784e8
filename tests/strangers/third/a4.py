words = "the bee saw the rose and the rose saw the bee".split()
seen = set()
unique = []
for w in words:
    if w not in seen:
        seen.add(w)
        unique.append(w)
print(unique)
print(len(seen))
counts = {}
for w in words:
    counts[w] = counts.get(w, 0) + 1
for w, c in sorted(counts.items(), key=lambda kv: (-kv[1], kv[0])):
    print(f"{w:<6}{c:>3}")
vowels = set("aeiou")
print(sum(1 for ch in "beautiful garden" if ch in vowels))
a = {1, 2, 3, 4}
b = {3, 4, 5}
print(sorted(a & b), sorted(a | b), sorted(a - b), sorted(a ^ b))
print(a.issubset({1,2,3,4,5}), 3 in a)
a.discard(9)
a.remove(1)
print(sorted(a))
