import random
import string

random.seed(4)


def caesar(text, shift):
    result = ""
    for ch in text:
        if ch.isalpha():
            base = ord("A") if ch.isupper() else ord("a")
            result += chr((ord(ch) - base + shift) % 26 + base)
        else:
            result += ch
    return result


def vigenere(text, key):
    out = []
    k = 0
    for ch in text.upper():
        if ch in string.ascii_uppercase:
            shift = string.ascii_uppercase.index(key[k % len(key)])
            out.append(string.ascii_uppercase[(string.ascii_uppercase.index(ch) + shift) % 26])
            k += 1
        else:
            out.append(ch)
    return "".join(out)


def check_password(p):
    problems = []
    if len(p) < 8:
        problems.append("too short")
    if not any(c.isdigit() for c in p):
        problems.append("no digit")
    if not any(c.isupper() for c in p):
        problems.append("no capital")
    if p.isalnum():
        problems.append("no sign")
    return problems or ["ok"]


msg = "Meet me at the Pond, 9 pm!"
enc = caesar(msg, 3)
print(enc)
print(caesar(enc, -3) == msg)
print(vigenere("water the beans", "HEDGE"))
for p in ["bean", "Beanstalk9", "Bean-stalk9"]:
    print(p.ljust(12, "."), *check_password(p), sep="; ")
print(msg[::-1], msg.swapcase(), msg.find("Pond"), msg.replace("e", "3", 2))
print("".join(sorted(set("hello"))), "level" == "level"[::-1], "a,b,,c".split(","))
table = str.maketrans("aeiou", "12345")
print("garden house".translate(table))
print(string.digits, string.punctuation[:5])
