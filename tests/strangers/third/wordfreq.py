text = """the quick brown fox jumps over the lazy dog
the dog sleeps and the fox runs"""
counts = {}
for word in text.split():
    counts[word] = counts.get(word, 0) + 1
for w in sorted(counts, key=lambda k: (-counts[k], k))[:5]:
    print(w, counts[w])
