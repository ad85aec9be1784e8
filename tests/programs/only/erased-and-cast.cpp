#include <iostream>
#include <string>
#include <map>
#include <vector>
#include <memory>
using namespace std;
namespace shed {
    const int LIMIT = 3;
    struct Box { int n = 0; };
    int twice(int x) { return x * 2; }
}
struct Animal { virtual ~Animal() = default; virtual string say() const { return "..."; } };
struct Dog : Animal { string say() const override { return "woof"; } void fetch() const { cout << "fetched\n"; } };
struct Cat : Animal { string say() const override { return "miaow"; } };
int main() {
    using namespace shed;
    map<string, int> m{{"a", 1}, {"b", 2}};
    bool gone = m.erase("a") > 0;
    cout << gone << m.erase("zz") << m.size() << "\n";
    if (m.erase("b")) cout << "b gone\n";
    cout << twice(LIMIT) << endl;
    vector<unique_ptr<Animal>> all;
    all.push_back(make_unique<Dog>());
    all.push_back(make_unique<Cat>());
    for (const auto& a : all) {
        cout << a->say() << ' ';
        if (const Dog* d = dynamic_cast<const Dog*>(a.get())) d->fetch();
        else cout << "no dog\n";
    }
    Animal* x = new Dog();
    Dog* d = dynamic_cast<Dog*>(x);
    if (d != nullptr) d->fetch();
    Cat* c = dynamic_cast<Cat*>(x);
    cout << (c == nullptr) << endl;
    delete x;
}
