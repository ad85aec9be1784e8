text = """one fish two fish
red fish blue fish"""
counts = {}
for line in text.split("\n"):
    for word in line.split():
        counts[word] = counts.get(word, 0) + 1
for word, n in sorted(counts.items(), key=lambda item: (-item[1], item[0])):
    print(f"{word:>6}: {'#' * n} {n}")
inverse = {}
for k, v in counts.items():
    inverse.setdefault(v, []).append(k)
print(inverse)
print(max(counts, key=counts.get), len(text), text.index("two"), text.title().split()[:2])
pig = []
for w in text.split():
    if w[0] in "aeiou":
        pig.append(w + "way")
    else:
        pig.append(w[1:] + w[0] + "ay")
print(" ".join(pig))
print("".join(c if c.isalpha() else "." for c in "a1 b2"), "x".join(["1", "2"]), "abc".rjust(5) + "|", "7".zfill(3), "  t ".strip() + "|")
