text = input("Text? ")
shift = int(input("Shift? "))
result = ''
for ch in text:
    if ch.isalpha():
        base = ord('A') if ch.isupper() else ord('a')
        result += chr((ord(ch) - base + shift) % 26 + base)
    else:
        result += ch
print('Coded:', result)
back = ''.join(chr((ord(c) - 65 - shift) % 26 + 65) if 'A' <= c <= 'Z' else chr((ord(c) - 97 - shift) % 26 + 97) if 'a' <= c <= 'z' else c for c in result)
print('Back :', back)
assert back == text, "must come back"
vowels = {v: text.lower().count(v) for v in 'aeiou'}
print(vowels)
print({k: v for k, v in sorted(vowels.items(), key=lambda kv: kv[1], reverse=True) if v})
words = text.split()
print(' '.join(w[::-1] for w in words), '|', ' '.join(reversed(words)))
print(text.swapcase(), text.title(), text.find('o'), text.rfind('o'), text.partition(' '))
print('%-10s|%5d|%05.1f|%s' % (words[0], len(text), len(text) / 3, words[-1:]))
print("{0:>10}{1:^7}{0:<10}|".format(words[0], shift), "{:+d} {:.3e}".format(shift, 12345.678))
while True:
    try:
        age = int(input("Age: "))
        if age < 0:
            raise ValueError
    except ValueError:
        print("Not an age")
        continue
    except EOFError:
        print("gone")
        break
    else:
        print("Next year:", age + 1)
        break
