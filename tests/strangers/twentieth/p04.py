from collections import Counter, defaultdict, deque

text = """The rain fell on the garden and the garden drank the rain.
The frog sat on the leaf and the leaf fell on the frog."""

words = [w.strip(".,").lower() for w in text.split()]
counts = Counter(words)
print(counts.most_common(3))
for word, n in sorted(counts.items(), key=lambda p: (-p[1], p[0]))[:5]:
    print(f"{word:8} {'#' * n}")

by_length = defaultdict(list)
for w in sorted(set(words)):
    by_length[len(w)].append(w)
for length in sorted(by_length):
    print(length, by_length[length])

queue = deque(["Ash", "Bryn", "Cleo"])
queue.append("Dara")
queue.appendleft("Zed")
queue.rotate(2)
print(list(queue), queue.popleft(), queue.pop(), len(queue))

letters = Counter("garden")
letters.update("drag")
print(letters["g"], letters["z"], sum(letters.values()))
print(sorted((letters - Counter("read")).elements()))
longest = max(words, key=len)
print(longest, words.index(longest), words.count("the"))
print({w: len(w) for w in words if w.startswith("f")})
print(" ".join(w.capitalize() for w in words[:4]), "|", text.splitlines()[1].title())
