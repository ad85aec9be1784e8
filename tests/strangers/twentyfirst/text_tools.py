import string
import sys
from collections import Counter, defaultdict


def clean(text):
    table = str.maketrans("", "", string.punctuation)
    return text.lower().translate(table)


def caesar(text, shift):
    out = ""
    for ch in text:
        if ch.isalpha():
            base = ord("A") if ch.isupper() else ord("a")
            out += chr((ord(ch) - base + shift) % 26 + base)
        else:
            out += ch
    return out


def main(argv=None):
    text = "The bean, the pea and THE leek: all grow. The pea grows best!"
    words = clean(text).split()
    counts = Counter(words)
    for word, n in counts.most_common(3):
        print(f"{word:<6}{n:>3}{'*' * n:>6}")
    by_length = defaultdict(set)
    for w in words:
        by_length[len(w)].add(w)
    for length in sorted(by_length, reverse=True):
        print(length, sorted(by_length[length]))
    secret = caesar("Sow at Dawn!", 3)
    print(secret, caesar(secret, -3))
    print(" ".join(w[::-1] for w in words[:4]))
    vowels = sum(text.count(v) for v in "aeiouAEIOU")
    print(f"{vowels=} {len(text)=} {vowels / len(text):.1%}")
    print("palindrome" if (s := clean("Never odd or even").replace(" ", "")) == s[::-1] else "no")
    longest = max(words, key=lambda w: (len(w), w))
    print(longest, words.index(longest), "the" in counts, counts["nothing"])
    print("%-8s|%5.2f|%03d|%s" % ("plot", 3.14159, 7, [1, "a"]))
    print("{0}{1}{0} {name!r:>8}".format("a", "b", name="pea"))
    return 0


if __name__ == "__main__":
    sys.exit(main())
