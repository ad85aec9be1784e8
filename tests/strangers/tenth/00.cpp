#include <iostream>
#include <iomanip>
#include <string>
#include <vector>
#include <algorithm>

using namespace std;

enum class Category { Fruit, Vegetable, Herb };

struct Item {
    string name;
    Category category;
    double price;
    int quantity;
};

string categoryName(Category c) {
    switch (c) {
        case Category::Fruit: return "fruit";
        case Category::Vegetable: return "vegetable";
        case Category::Herb: return "herb";
    }
    return "?";
}

double total(const vector<Item>& items) {
    double sum = 0.0;
    for (const auto& item : items)
        sum += item.price * item.quantity;
    return sum;
}

int main() {
    vector<Item> items = {
        {"apple", Category::Fruit, 0.5, 12},
        {"leek", Category::Vegetable, 1.25, 3},
        {"basil", Category::Herb, 2.0, 1},
    };
    items.push_back({"plum", Category::Fruit, 0.3, 20});
    sort(items.begin(), items.end(), [](const Item& a, const Item& b) {
        if (a.category != b.category) return a.category < b.category;
        return a.price > b.price;
    });
    cout << left << setw(10) << "Name" << setw(12) << "Category" << right << setw(8) << "Price" << endl;
    cout << string(30, '=') << endl;
    for (const Item& it : items) {
        cout << left << setw(10) << it.name << setw(12) << categoryName(it.category)
             << right << setw(8) << fixed << setprecision(2) << it.price << endl;
    }
    cout << "Total: " << total(items) << endl;
    int herbs = count_if(items.begin(), items.end(), [](const Item& i) { return i.category == Category::Herb; });
    cout << herbs << " herb(s), first is category " << static_cast<int>(items[0].category) << endl;
    return 0;
}
