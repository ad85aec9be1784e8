#include <iostream>
#include <iomanip>
#include <string>
#include <vector>
using namespace std;

struct Item {
    string name;
    double price;
    int amount;
};

void showStock(const vector<Item>& items) {
    cout << left << setw(12) << "Item" << right << setw(8) << "Price" << setw(8) << "Amount" << endl;
    cout << string(28, '-') << endl;
    for (const auto& item : items) {
        cout << left << setw(12) << item.name << right << setw(8) << fixed << setprecision(2) << item.price << setw(8) << item.amount << endl;
    }
}

int findItem(const vector<Item>& items, const string& name) {
    for (size_t i = 0; i < items.size(); i++) {
        if (items[i].name == name) return i;
    }
    return -1;
}

bool sell(vector<Item>& items, string name, int howMany) {
    int i = findItem(items, name);
    if (i == -1) {
        cout << "No such item: " << name << endl;
        return false;
    }
    Item& item = items[i];
    if (item.amount < howMany) {
        cout << "Only " << item.amount << " left" << endl;
        return false;
    }
    item.amount -= howMany;
    cout << "Sold " << howMany << " for " << item.price * howMany << endl;
    return true;
}

int main() {
    vector<Item> stock = {{"carrot", 1.25, 40}, {"pea", 0.95, 12}, {"bean", 1.1, 0}};
    showStock(stock);
    int sales = 0;
    if (sell(stock, "carrot", 5)) sales++;
    if (sell(stock, "bean", 1)) sales++;
    if (sell(stock, "leek", 2)) sales++;
    showStock(stock);
    double total = 0;
    for (int i = 0; i < (int)stock.size(); ++i) total += stock[i].price * stock[i].amount;
    cout << "Total: " << total << ", sales: " << sales << endl;
    return 0;
}
