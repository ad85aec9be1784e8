#include <iostream>
#include <vector>
#include <string>
using namespace std;
struct Item { string name; int qty; double price; };
Item* findItem(vector<Item>& items, const string& name) {
    for (auto& it : items) if (it.name == name) return &it;
    return nullptr;
}
double average(const vector<int>& v) {
    if (v.empty()) return 0;
    int sum = 0;
    for (int x : v) sum += x;
    return sum / v.size();
}
int main() {
    vector<Item> items{{"leek", 3, 0.5}, {"kale", 1, 2.25}};
    Item* p = findItem(items, "kale");
    if (p) { p->qty += 5; cout << p->name << " " << p->qty << endl; }
    cout << (findItem(items, "fig") ? "yes" : "no") << endl;
    cout << items[1].qty << endl;
    cout << average({1, 2, 4}) << " " << average({}) << endl;
    int total = 0;
    for (const Item& i : items) total += i.qty * i.price;
    cout << total << endl;
    char grade = 'A' + total % 3;
    cout << grade << " " << (grade == 'B') << " " << grade + 1 << endl;
    int digits[10] = {};
    for (char c : string("20261128")) digits[c - '0']++;
    for (int i = 0; i < 10; i++) if (digits[i]) cout << i << "x" << digits[i] << " ";
    cout << endl;
    double d = 3; int n = 7 / 2.0; float f = 1 / 3.f;
    cout << d << " " << n << " " << f << " " << 7 % 3 * 2.5 << endl;
    bool flags[3] = {true};
    cout << flags[0] << flags[1] << " " << (true + true) << " " << !5 << endl;
    unsigned u = 3; cout << u - 4 << " " << (u > -1) << endl;
    long long big = 1000000 * 1000000LL; cout << big << endl;
    string s(5, '*'); s[2] = 'x'; cout << s << s.length() << s.substr(1, 2) << endl;
    cout << "a" + string("b") + 'c' + to_string(1) << endl;
    int arr[] = {5, 2, 9}; int m = arr[0]; for (int i = 1; i < 3; ++i) m = max(m, arr[i]); cout << m << endl;
}
