#include <iostream>
#include <vector>
#include <string>
using namespace std;
class Base { protected: vector<int> all; };
class Shop : public Base {
    vector<string> names;
    int most = 9;
public:
    void ready(int n) { names.reserve(n); this->names.reserve(most); all.reserve(n * 2); }
    void add(string s) { names.push_back(s); }
    size_t size() const { return names.size(); }
};
int main() {
    Shop shop;
    shop.ready(3);
    shop.add("pea");
    cout << shop.size() << std::flush << endl;
}
