import string

def is_pangram(s):
    return set(string.ascii_lowercase) <= set(s.lower())

def vowel_count(s):
    return sum(1 for c in s if c in "aeiouAEIOU")

def reverse_words(s):
    return " ".join(w[::-1] for w in s.split(" "))

def title_case(s):
    out = ""
    up = True
    for ch in s:
        if up:
            out += ch.upper()
        else:
            out += ch.lower()
        up = ch == " "
    return out

def rle(s):
    if not s: return ""
    res = []
    prev, n = s[0], 1
    for ch in s[1:]:
        if ch == prev:
            n += 1
        else:
            res.append((prev, n))
            prev, n = ch, 1
    res.append((prev, n))
    return "".join(f"{c}{n if n > 1 else ''}" for c, n in res)

def unrle(s):
    out, num = "", ""
    ch = ""
    for c in s:
        if c.isalpha():
            if ch: out += ch * int(num or 1)
            ch, num = c, ""
        else:
            num += c
    return out + ch * int(num or 1)

tests = ["The quick brown fox jumps over the lazy dog", "hello world", "AAAbbbccd", ""]
for t in tests:
    print(repr(t))
    print("  pangram:", is_pangram(t))
    print("  vowels :", vowel_count(t))
    print("  reverse:", reverse_words(t))
    print("  title  :", title_case(t))
    print("  rle    :", rle(t))
assert unrle(rle("aaabccdddd")) == "aaabccdddd"
print(str.maketrans("abc", "xyz") is not None, "cabbage".translate(str.maketrans("abc", "xyz")))
print("-".join(map(str, range(5))), "abc".center(11, "*"), "42".zfill(6), "a,b,,c".split(","))
