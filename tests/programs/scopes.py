count = 0
names = []


def visit(name):
    global count
    count += 1
    names.append(name)


def reset():
    count = 100
    return count


def show(count):
    count += 1
    print("inside", count)


visit("pond")
visit("gate")
show(count)
print(count, names, reset(), count)
for count in range(3):
    last = count
print(count, last)
