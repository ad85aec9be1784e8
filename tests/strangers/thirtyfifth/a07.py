text = """the fern and the moss
and the rain; the Fern!"""
import re
from collections import Counter
words = re.findall(r"[a-z]+", text.lower())
counts = Counter(words)
for word, n in counts.most_common(3):
    print(f"{word:.<10}{n:.>3}")
print(sum(counts.values()), len(counts), counts["grass"])
counts.update(["grass"] * 4)
counts.subtract({"the": 1})
print(counts.most_common(1)[0], counts["the"])
print(re.sub(r"\b(\w)(\w*)\b", lambda m: m.group(1).upper() + m.group(2), text))
print(re.split(r"[;,\s]+", text)[:4])
m = re.search(r"(?P<what>ra\w+)", text)
print(m.group("what"), m.start(), m.span(), text[m.end():].strip())
print(sorted(set(words), key=lambda w: (-len(w), w)))
