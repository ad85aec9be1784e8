#include <iostream>
#include <iomanip>
#include <string>
#include <vector>
using namespace std;

struct Item {
    string name;
    double price;
    int qty;
};

void show(const vector<Item>& items) {
    cout << left << setw(12) << "item" << right << setw(8) << "price" << setw(5) << "qty" << endl;
    cout << string(25, '-') << endl;
    for (const auto& it : items)
        cout << left << setw(12) << it.name << right << setw(8) << fixed << setprecision(2) << it.price << setw(5) << it.qty << (it.qty == 0 ? "  <- order" : "") << endl;
}

int find(const vector<Item>& items, const string& name) {
    for (size_t i = 0; i < items.size(); ++i)
        if (items[i].name == name) return static_cast<int>(i);
    return -1;
}

int main() {
    vector<Item> items = {{"trowel", 4.5, 10}, {"twine", 1.2, 25}, {"tray", 2.75, 0}};
    int choice = 0;
    do {
        cout << "1 show 2 sell 3 deliver 4 quit: ";
        cin >> choice;
        if (choice == 1) show(items);
        else if (choice == 2 || choice == 3) {
            string name; int n;
            cout << "name and number: ";
            cin >> name >> n;
            int pos = find(items, name);
            if (pos < 0) { cout << "Not found" << endl; continue; }
            if (choice == 2) {
                if (n > items[pos].qty) cout << "Only " << items[pos].qty << " left\n";
                else { items[pos].qty -= n; cout << "Cost " << n * items[pos].price << '\n'; }
            } else items[pos].qty += n;
        } else if (choice != 4) cout << "1 to 4 please" << endl;
    } while (choice != 4);
    double total = 0;
    for (Item& it : items) total += it.price * it.qty;
    cout << "Total " << total << endl;
    return 0;
}
