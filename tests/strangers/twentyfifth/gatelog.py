import re
import string

LOG = """\
2031-04-01 07:15 INFO gate opened by moss
2031-04-01 07:40 WARN pump pressure low (1.2 bar)
2031-04-01 08:05 INFO bed 3 watered 12 l
2031-04-02 07:30 ERROR pump failed
2031-04-02 09:00 INFO bed 12 watered 8 l
"""
pattern = re.compile(r"^(\d{4}-\d\d-\d\d) (\d\d):(\d\d) (\w+) (.*)$")
per_level = {}
minutes = []
for line in LOG.splitlines():
    m = pattern.match(line)
    if not m:
        continue
    date, hour, minute, level, message = m.groups()
    per_level.setdefault(level, []).append(message)
    minutes.append(int(hour) * 60 + int(minute))
for level in sorted(per_level, key=lambda l: (-len(per_level[l]), l)):
    print(f"{level:6}{len(per_level[level])}", per_level[level][0])
print(minutes, max(minutes) - min(minutes))
litres = sum(int(x) for x in re.findall(r"watered (\d+) l", LOG))
print("litres", litres)
print(re.sub(r"bed (\d+)", lambda m: f"bed #{int(m.group(1)):02d}", "bed 3 and bed 12"))
print(re.split(r"[,;]\s*", "a, b;c,d"), bool(re.search("pump", LOG)), re.fullmatch(r"[a-z]+", "abc1"))

def rot13(s):
    table = str.maketrans(string.ascii_lowercase, string.ascii_lowercase[13:] + string.ascii_lowercase[:13])
    return s.translate(table)

print(rot13("the gate is open"), rot13(rot13("hello")))

def vowels(s):
    return sum(map(s.lower().count, "aeiou"))

words = "Garden school teaches patience and pumpkins".split()
print(sorted(words, key=vowels), [w[::-1] for w in words if w.istitle()], " ".join(w.title() for w in words))
print("abc".center(9, "-"), "7".zfill(3), "a-b-c".rsplit("-", 1), "x=1".partition("="), "tEst".swapcase(), "  x ".strip() + "|")
print("%s has %5.1f%% of %03d" % ("bed", 12.345, 7), "{0} {1} {0}".format("a", "b"), "{name}!".format(name="hi"))
acronym = "".join(w[0].upper() for w in "royal garden school".split())
print(acronym, acronym.isupper(), acronym.lower() in "rgs rgs", "ab" * 3, "banana".count("an"), "banana".find("x"), "banana".rindex("a"))
print(ord("a"), chr(98), "é".encode("utf-8"), len("né"), "a" < "B", "abc"[-2:], "abcdef"[::2], "abcdef"[4:1:-1])
