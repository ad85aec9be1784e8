def f():
    count += 1
count = 0
print("go")
f()
print(count)
