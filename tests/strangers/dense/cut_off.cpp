#include <iostream>
#include <vector>
#include <string>
using namespace std;
struct Item { string name; int qty; double price; };
Item* findItem(vector<Item>& items, const string& name) {
    for (auto& it : items) if (it.name == name) return &it;
    return nullptr;
}
int main() {
    vector<Item> items{{"leek", 3, 0.5}, {"kale", 1, 2.25}};
    Item* p = findItem(items, "kale");
    p->qty += 5;
    int total = 0;
    for (const Item& i : items) total += i.qty * i.price;
    cout << total << endl;
}
