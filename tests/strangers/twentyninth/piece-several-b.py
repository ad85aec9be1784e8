import re
print(re.sub(r"\bthe\b", "a", "the cat the dog", count=1), re.sub("a", "b", "aaa", 2))
