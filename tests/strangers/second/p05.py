text = """In the garden grow
beans, peas and kale.
In the garden grow weeds, too."""
lines = text.split("\n")
print(len(lines), "lines", sum(len(l.split()) for l in lines), "words")
words = {}
for number, line in enumerate(lines, 1):
    for word in line.lower().replace(",", "").replace(".", "").split():
        words.setdefault(word, set()).add(number)
for word in sorted(words):
    if len(words[word]) > 1:
        print(word.ljust(8), sorted(words[word]))
longest = max(words, key=len)
print(longest, longest.center(15, "*"), longest.upper().count("E"))
print(text.find("kale"), text.index("grow"), text.rfind("grow"), "zzz" in text)
print(" | ".join(w.capitalize() for w in "to be or not".split(" ")))
print("abc" < "abd", "Z" < "a", "10" < "9", max("hello"), sorted("hello")[::-1])
print("%-10s|%5d|%05.1f|%x" % ("name", 42, 3.14159, 255))
print("a,b,,c".split(","), "  x ".strip() + "|", "x".join(["1", "2"]), "tEST".swapcase(), "3".zfill(3))
