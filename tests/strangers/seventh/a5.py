text = """the rain in the garden
falls on the roof and the rose
and on the garden gate"""
counts = {}
for line in text.split("\n"):
    for word in line.split():
        counts[word] = counts.get(word, 0) + 1
top = sorted(counts.items(), key=lambda kv: (-kv[1], kv[0]))[:5]
for rank, (word, n) in enumerate(top, start=1):
    print(f"{rank}. {word:8s} {'#' * n} ({n})")
longest = max(counts, key=len)
print("longest:", longest, len(longest))
vowels = sum(1 for ch in text if ch in "aeiou")
print("vowels", vowels, f"{vowels / len(text):.1%}")
