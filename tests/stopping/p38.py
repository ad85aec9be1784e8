print("a")
prnt("b")
print("c")
