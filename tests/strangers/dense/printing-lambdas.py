shout = lambda x: print(x.upper(), "!")
shout("pea")
acts = {"a": lambda: print("one"), "b": lambda: print("two")}
acts["b"]()
list(map(lambda w: print(w), ["x", "y"]))
[print(w, len(w)) for w in ["pea", "bean"]]
done = [print(n) for n in range(2)]
print(done)
