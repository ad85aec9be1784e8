text = """It was a bright cold day in April, and the clocks in the garden
were striking nine. Rowan slipped quickly through the gate, though not
quickly enough to keep a swirl of leaves from entering along with him."""

sentences = [s.strip() for s in text.replace("\n", " ").split(".") if s.strip()]
words = text.lower().split()
clean = [w.strip(".,;:!?") for w in words]
unique = sorted(set(clean))
print(len(sentences), len(words), len(unique))
lengths = {}
for w in clean:
    lengths.setdefault(len(w), []).append(w)
for n in sorted(lengths, reverse=True)[:4]:
    print(n, sorted(set(lengths[n])))
longest = max(clean, key=len)
print(f"longest: {longest!r} at {clean.index(longest)}")
print(" ".join(w.capitalize() for w in clean[:6]))
print("".join(c for c in text if c.isupper()))
print(text.count("the"), text.find("gate"), text.startswith("It"), text[-4:-1], text[::20])
pig = []
for w in clean[:8]:
    if w[0] in "aeiou":
        pig.append(w + "way")
    else:
        i = 0
        while i < len(w) and w[i] not in "aeiou":
            i += 1
        pig.append(w[i:] + w[:i] + "ay")
print(" ".join(pig))
acronym = "".join(word[0].upper() for word in "for your information only".split())
print(acronym, "abc" < "abd", "Zebra" < "apple", "a" * 3, "-".join("abc"))
print("{:>10}|{:<10}|{:^10}|{:*^9}".format("r", "l", "c", "m"))
print("{0} {1} {0}".format("x", "y"), "{name}: {n:03d}".format(name="bed", n=7))
print("tab\tsep", 'single "double"', "it's", r"raw\n", "é".upper(), len("naïve"))
table = [("Name", "Qty"), ("leek", 3), ("kale", 12)]
for row in table:
    print("".join(str(x).ljust(8) for x in row).rstrip())
