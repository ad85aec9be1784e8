def shout(word):
    print("first", word)
    return word.upper()


print("then", shout("pea"))
print(shout("bean"), 3)
small = lambda bed: bed + 1
named = shout
print(small.__name__, named.__name__, (lambda: 0).__name__)
beds = [1]


def grow():
    beds.append(2)
    return len(beds)


print(beds, grow())
