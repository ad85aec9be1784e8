#include <iostream>
#include <fstream>
#include <string>
#include <sstream>
#include <vector>
#include <algorithm>
#include <map>
using namespace std;
struct Item { string name; double price; int qty; };
vector<string> split(const string& s, char sep) { vector<string> parts; string part; istringstream in(s); while (getline(in, part, sep)) parts.push_back(part); return parts; }
string trim(const string& s) { size_t a = s.find_first_not_of(" \t"); if (a == string::npos) return ""; size_t b = s.find_last_not_of(" \t"); return s.substr(a, b - a + 1); }
string toLower(string s) { for (char& c : s) c = tolower(c); return s; }
int main() {
    ofstream out("items.txt");
    out << "pea,1.5,3\n" << "leek, 2.25 ,1" << endl;
    out << "kale,0.5,10\n";
    out.close();
    ifstream in("items.txt");
    if (!in) { cerr << "no file\n"; return 1; }
    if (!in.is_open()) return 2;
    string line; vector<Item> items; double total = 0;
    while (getline(in, line)) {
        auto parts = split(line, ',');
        Item item{trim(parts[0]), stod(parts[1]), stoi(parts[2])};
        items.push_back(item);
        total += item.price * item.qty;
    }
    in.close();
    sort(items.begin(), items.end(), [](const Item& a, const Item& b) { return a.price < b.price; });
    for (const Item& i : items) cout << i.name << " " << i.price << " x" << i.qty << endl;
    cout << "Total: " << total << endl;
    ofstream app("items.txt", ios::app); app << "end"; app.close();
    ifstream again("items.txt"); string w; int n = 0; while (again >> w) n++; cout << n << endl;
    map<string, int> words; string text = "the cat the dog The end"; stringstream ss(text); string word;
    while (ss >> word) ++words[toLower(word)];
    for (const auto& [k, v] : words) cout << k << ": " << v << '\n';
    auto it = words.find("cat"); if (it != words.end()) cout << it->first << it->second << endl;
    words.erase("cat"); cout << words.size() << endl;
    vector<int> v{5, 3, 8, 1}; v.insert(v.begin() + 1, 7); v.erase(v.begin()); for (int x : v) cout << x; cout << endl;
    v.erase(remove_if(v.begin(), v.end(), [](int x) { return x % 2; }), v.end()); cout << v.size() << endl;
    cout << count_if(v.begin(), v.end(), [](int x) { return x > 3; }) << any_of(v.begin(), v.end(), [](int x) { return x == 8; }) << endl;
    string s = "level"; cout << (s == string(s.rbegin(), s.rend()) ? "yes" : "no") << endl;
    int num = 12345, rev = 0; while (num) { rev = rev * 10 + num % 10; num /= 10; } cout << rev << endl;
    for (int i = 1; i <= 4; i++) { cout << string(4 - i, ' ') << string(2 * i - 1, '*') << endl; }
    cout << hex << 255 << dec << " " << oct << 8 << dec << endl;
    cout << to_string(3.5) << " " << to_string(42) + "!" << " " << stoi("77") + 1 << endl;
}
