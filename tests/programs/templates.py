print("{} and {}".format(1, "two"))
print("{1} before {0}".format("a", "b"))
print("{name}: {value:>8.2f}|".format(name="pi", value=3.14159))
x = 5
print("{0} {0} {{x}}".format(x))
print("{:^9}|{:*<6}|{:05d}".format("mid", "ab", 42))
