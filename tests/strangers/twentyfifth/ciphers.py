text = input()
shift = int(input())
def encrypt(text, key):
    result = ""
    for ch in text:
        if ch.isupper():
            result += chr((ord(ch) - ord("A") + key) % 26 + ord("A"))
        elif ch.islower():
            result += chr((ord(ch) - 97 + key) % 26 + 97)
        else:
            result += ch
    return result
def decrypt(text, key): return encrypt(text, -key)
secret = encrypt(text, shift)
print(secret)
print(decrypt(secret, shift))
counts = [0] * 26
for ch in secret.lower():
    if "a" <= ch <= "z":
        counts[ord(ch) - ord("a")] += 1
best = counts.index(max(counts))
print("most frequent:", chr(best + 97), counts[best])
for k in range(26):
    guess = decrypt(secret, k)
    if " the " in guess.lower() or guess.lower().startswith("the "):
        print("cracked with key", k)
        break
else:
    print("not cracked")
vigenere = lambda t, key: "".join(chr((ord(c) + ord(key[i % len(key)]) - 130) % 26 + 65) for i, c in enumerate(t.upper().replace(" ", "")) if c.isalpha())
print(vigenere("meet me", "KEY"))
print("-".join(format(ord(c), "08b") for c in "Hi"))
print("".join(reversed("stressed")), "".join(sorted("hello")), "Hello World".swapcase())
table = {"a": ".-", "b": "-...", "e": ".", "s": "..."}
print(" ".join(table.get(c, "?") for c in "basex"))
