text = "the pea and the bean and the kale"
counts = {}
for word in text.split():
    counts[word] = counts.get(word, 0) + 1
for word in sorted(counts, key=lambda w: (-counts[w], w)):
    print(word, counts[word])
longest = ""
for word in text.split():
    if len(word) > len(longest):
        longest = word
print(longest, [w for w in counts if counts[w] > 1])
