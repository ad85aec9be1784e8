alphabet = 'abcdefghijklmnopqrstuvwxyz'

def encrypt(text, key):
    out = ''
    for ch in text:
        if ch.lower() in alphabet:
            pos = (alphabet.index(ch.lower()) + key) % 26
            new = alphabet[pos]
            out += new.upper() if ch.isupper() else new
        else:
            out += ch
    return out

def decrypt(text, key): return encrypt(text, -key)

def frequencies(text):
    counts = {}
    for ch in filter(str.isalpha, text.lower()):
        counts[ch] = counts.get(ch, 0) + 1
    return counts

def crack(text):
    counts = frequencies(text)
    best = max(counts, key=counts.get)
    return (ord(best) - ord('e')) % 26

message = "Meet me where the green hedge ends, bring three seeds!"
secret = encrypt(message, 11)
print(secret)
print(decrypt(secret, 11) == message)
key = crack(secret)
print('cracked with key', key)
print(decrypt(secret, key))
top = sorted(frequencies(message).items(), key=lambda kv: (-kv[1], kv[0]))[:5]
for letter, n in top:
    print(letter, '*' * n)
table = str.maketrans(alphabet, alphabet[13:] + alphabet[:13])
print(message.lower().translate(table))
