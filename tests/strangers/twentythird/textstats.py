from collections import Counter, defaultdict
import re

text = """The rain came down on the roof of the shed.
The hens hid; the goat did not. "Why should I?" said the goat.
Rain is only rain -- and the roof leaks anyway!"""

words = re.findall(r"[a-z']+", text.lower())
print(len(text), len(words), len(set(words)))
freq = Counter(words)
for word, n in freq.most_common(5):
    print(f"{word:>6} {n:2} {'#' * n}")

longest = max(words, key=len)
print("longest:", longest, "shortest:", min(words, key=len))

by_len = defaultdict(list)
for w in sorted(set(words)):
    by_len[len(w)].append(w)
for k in sorted(by_len, reverse=True)[:4]:
    print(k, by_len[k])

by_letter = {}
for w in words:
    by_letter[w[0]] = by_letter.get(w[0], 0) + 1
print(sorted(by_letter.items(), key=lambda p: (-p[1], p[0]))[:3])

sentences = [s.strip() for s in re.split(r"[.!?;]", text) if s.strip()]
for i, s in enumerate(sentences, 1):
    print(i, len(s.split()), s[:20].replace("\n", " ") + ("..." if len(s) > 20 else ""))

vowels = sum(text.lower().count(v) for v in "aeiou")
print("vowels %d (%.1f%%)" % (vowels, 100 * vowels / len(text)))
print(text.title().splitlines()[0])
print(text.swapcase()[:12], text.find("goat"), text.rfind("goat"), text.index("hens"))
print("-".join(reversed("roof")), "roof"[::-1].center(11, "*"))
print("a,b,,c".split(","), "  x ".strip() == "x", "tree".partition("e"))
is_palindrome = lambda s: (t := "".join(c for c in s.lower() if c.isalnum())) == t[::-1]
for s in ("Never odd or even", "Goat", "Was it a rat I saw?"):
    print(s, "->", is_palindrome(s))
caps = [w for w in text.split() if w[0].isupper() and w[1:].islower()]
print(caps)
print(re.sub(r"\bthe\b", "a", text, flags=re.IGNORECASE).split("\n")[1])
