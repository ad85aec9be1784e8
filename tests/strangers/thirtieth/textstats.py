import re, string
from collections import Counter

text = """The bees of Fernhollow are busy. Busy bees, busy hives!
"Where is the honey?" asks Odo -- who's always hungry; the honey isn't ready.
In 3 weeks, 12 jars; in 10 weeks, 140 jars."""

words = re.findall(r"[a-z']+", text.lower())
count = Counter(words)
print(len(words), len(count))
for word, n in count.most_common(4):
    print('%-10s%3d %s' % (word, n, '*' * n))
lengths = Counter(map(len, words))
for length in sorted(lengths):
    print(f'{length:2}: {lengths[length]}')
longest = max(count, key=lambda w: (len(w), w))
print('longest:', longest)
numbers = [int(n) for n in re.findall(r'\d+', text)]
print(numbers, sum(numbers), sum(numbers) / len(numbers))
table = str.maketrans('', '', string.punctuation)
print(text.translate(table).split('\n')[1])
sentences = [s.strip() for s in re.split(r'[.!?]', text) if s.strip()]
print(len(sentences), [len(s.split()) for s in sentences])
print(re.sub(r'\b(b)(\w+)', lambda m: m.group(1).upper() + m.group(2), text.split('\n')[0]))
m = re.search(r'(\d+) jars', text)
print(m.group(0), m.group(1), m.start(), m.end())
letters = [c for c in text if c in string.ascii_letters]
print(len(letters), string.ascii_uppercase[:5], string.digits)
vowels = {v: sum(1 for c in text.lower() if c == v) for v in 'aeiou'}
print(vowels, max(vowels, key=vowels.get))
print(text.title().split('\n')[0], text.swapcase()[:10], text.count('busy'), text.lower().count('busy'))
