#!/usr/bin/env python3
import string
from collections import Counter

TEXT = '''The garden sleeps. In the garden, a fox -- small, red and quick -- sleeps too!
Does the fox dream? Perhaps the fox dreams of the garden...'''

def words(text):
    table = str.maketrans('', '', string.punctuation)
    return text.lower().translate(table).split()

def longest_run(seq):
    best, best_start, start = 0, 0, 0
    for i in range(1, len(seq) + 1):
        if i == len(seq) or seq[i] <= seq[i - 1]:
            if i - start > best:
                best, best_start = i - start, start
            start = i
    return seq[best_start:best_start + best]

def wrap(text, width):
    line, out = '', []
    for w in text.split():
        if line and len(line) + 1 + len(w) > width:
            out.append(line)
            line = w
        else:
            line = f'{line} {w}' if line else w
    out.append(line)
    return out

ws = words(TEXT)
c = Counter(ws)
print(c.most_common(3))
print(sum(c.values()), len(c), c['fox'], c['cow'])
print({k: v for k, v in sorted(c.items(), key=lambda kv: (-kv[1], kv[0])) if v > 1})
print(longest_run([1, 2, 2, 3, 4, 1, 5]))
for n, l in enumerate(wrap(TEXT, 26), 1):
    print(f'{n:>2}|{l:^26}|')
by_len = {}
for w in set(ws):
    by_len.setdefault(len(w), []).append(w)
for k in sorted(by_len):
    print(k, sorted(by_len[k]))
print(TEXT.count('the'), TEXT.find('fox'), TEXT.rfind('fox'), TEXT.index('\n'))
print(''.join(ch for ch in TEXT if ch.isupper()), TEXT.swapcase()[:10])
sentences = [s.strip() for s in TEXT.replace('?', '.').replace('!', '.').split('.') if s.strip()]
print(len(sentences), max(sentences, key=len)[:20], min(map(len, sentences)))
vowels = Counter(ch for ch in TEXT.lower() if ch in 'aeiou')
peak = max(vowels.values())
for v in 'aeiou':
    print(v, '#' * round(vowels[v] / peak * 20), vowels[v])
print('level'[::-1] == 'level', 'Garden'.center(12, '*'), '7'.zfill(3), 'a,b,,c'.split(','), 'x' in 'fox')
print(' '.join(w[::-1] for w in 'plant more trees'.split()), 'one two'.title(), "it's".title())
