class B:
    pass

    def g(self):
        return 3

    pass
if True:
    pass
    # a remark behind
print(B().g())
