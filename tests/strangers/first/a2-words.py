from collections import Counter
text="the bee and the beetle met the bee in the bed"
c=Counter(text.split())
for w,k in c.most_common(3): print(f"{w:<8}{k}")
print(len(c),c["bee"],c["worm"])
print(sorted(c,key=lambda w:(-c[w],w))[:4])
